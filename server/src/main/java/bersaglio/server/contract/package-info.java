@NullMarked
package bersaglio.server.contract;

import org.jspecify.annotations.NullMarked;
