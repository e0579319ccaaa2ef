@NullMarked
package bersaglio.server.problem;

import org.jspecify.annotations.NullMarked;
