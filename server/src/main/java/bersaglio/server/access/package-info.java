@NullMarked
package bersaglio.server.access;

import org.jspecify.annotations.NullMarked;
