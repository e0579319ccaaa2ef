/** Events, drills and results as JSON, without reflection, for the server and the page alike. */
@NullMarked
package bersaglio.wire;

import org.jspecify.annotations.NullMarked;
