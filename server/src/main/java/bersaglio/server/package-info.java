@NullMarked
package bersaglio.server;

import org.jspecify.annotations.NullMarked;
