/**
 * A class while it is taught: what the teacher leads it by, and the large screen that follows. What is told is kept with the class and shown on every device that
 * looks at it. Nothing is null.
 */
@NullMarked
package kwibbet.app.lessons;

import org.jspecify.annotations.NullMarked;
