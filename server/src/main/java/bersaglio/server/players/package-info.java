@NullMarked
package bersaglio.server.players;

import org.jspecify.annotations.NullMarked;
