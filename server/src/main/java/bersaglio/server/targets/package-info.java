@NullMarked
package bersaglio.server.targets;

import org.jspecify.annotations.NullMarked;
