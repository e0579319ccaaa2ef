@NullMarked
package bersaglio.server.charting;

import org.jspecify.annotations.NullMarked;
