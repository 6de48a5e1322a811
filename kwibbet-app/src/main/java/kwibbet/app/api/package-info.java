/**
 * The computation of cards and folds as a service for other programs: JSON over HTTP, described by OpenAPI at {@code /api/openapi}. Nothing that is sent is
 * kept. Described in {@code docs/formats.md}. Uses core, formats and {@code store}.
 */
@NullMarked
package kwibbet.app.api;

import org.jspecify.annotations.NullMarked;
