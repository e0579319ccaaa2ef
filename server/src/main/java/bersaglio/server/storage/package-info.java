@NullMarked
package bersaglio.server.storage;

import org.jspecify.annotations.NullMarked;
