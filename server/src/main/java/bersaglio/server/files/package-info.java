@NullMarked
package bersaglio.server.files;

import org.jspecify.annotations.NullMarked;
