/** The pages of kits and classes: which cards, for how many, when; who does what, what happens in the room, and what would make it fit. */
@NullMarked
package kwibbet.app.kits;

import org.jspecify.annotations.NullMarked;
