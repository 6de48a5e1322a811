package kwibbet.bench;

import kwibbet.measure.MeasureSystem;
import kwibbet.wording.Phrase;

/** One setting of a tool, in a list of them. */
public sealed interface ToolSetting permits TrimSetting, ScoreSetting, PressSetting {

    /** Its place in the order of work, from 1. */
    int number();

    /** What it is known by. */
    Phrase heading(MeasureSystem system);

    /** What is said beside that. */
    Phrase aside(MeasureSystem system);
}
