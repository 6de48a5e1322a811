# What ships with Kwibbet

Kwibbet itself is under the Apache License 2.0, see `LICENSE`. This file is generated: `scripts/third-party` writes it anew, and a test fails where it
is stale.

## In the repository

| what | version | licence | where |
|---|---|---|---|
| Atkinson Hyperlegible Next (fonts) | fontsource 5 | SIL Open Font License 1.1 | `kwibbet-app/src/main/resources/static/fonts`, `kwibbet-formats/src/main/resources/kwibbet/formats/pdf`, each with the licence beside it |
| Young Serif (font) | fontsource 5 | SIL Open Font License 1.1 | the same |
| Lucide (icons) | 0.x | ISC | `kwibbet-app/src/main/resources/templates/shared/icons.html`; licence in `static/fonts/Lucide-LICENSE.txt` |

## In the packaged application

| library | version | licence | artifact |
|---|---|---|---|
<#list dependencyMap as entry>
<#assign project = entry.getKey()/>
| ${project.name} | ${project.version} | ${entry.getValue()?join("; ")} | `${project.groupId}:${project.artifactId}` |
</#list>

Used to build and test, not shipped: JUnit (EPL 2.0), jqwik (EPL 2.0), Mockito (MIT), AssertJ, ArchUnit, Playwright for Java,
Error Prone and Spotless (Apache 2.0), NullAway (MIT), axe-core (MPL 2.0), JMH (GPL 2 with Classpath Exception), OR-Tools
(Apache 2.0), PIT (Apache 2.0).
