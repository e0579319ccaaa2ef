@NullMarked
package bersaglio.server.backup;

import org.jspecify.annotations.NullMarked;
