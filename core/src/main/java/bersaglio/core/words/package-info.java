/** How words are read and written: what drills, targets and tactics say of themselves is made of these. */
package bersaglio.core.words;
