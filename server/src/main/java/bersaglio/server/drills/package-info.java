@NullMarked
package bersaglio.server.drills;

import org.jspecify.annotations.NullMarked;
