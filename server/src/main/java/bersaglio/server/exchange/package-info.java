@NullMarked
package bersaglio.server.exchange;

import org.jspecify.annotations.NullMarked;
