/** What readers of JSON documents share: how they say where a document is not in form. Nothing is null. */
@NullMarked
package kwibbet.formats.json;

import org.jspecify.annotations.NullMarked;
