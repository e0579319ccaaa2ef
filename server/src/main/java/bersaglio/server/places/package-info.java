@NullMarked
package bersaglio.server.places;

import org.jspecify.annotations.NullMarked;
