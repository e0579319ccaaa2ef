/** What a drill will take of a player, before it starts. */
@NullMarked
package bersaglio.server.forecasts;

import org.jspecify.annotations.NullMarked;
