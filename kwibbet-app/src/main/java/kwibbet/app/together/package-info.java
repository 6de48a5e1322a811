/** The runs of several cards cut together. Nothing is null. */
@NullMarked
package kwibbet.app.together;

import org.jspecify.annotations.NullMarked;
