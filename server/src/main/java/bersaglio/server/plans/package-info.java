@NullMarked
package bersaglio.server.plans;

import org.jspecify.annotations.NullMarked;
