@NullMarked
package bersaglio.server.demo;

import org.jspecify.annotations.NullMarked;
