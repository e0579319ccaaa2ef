package bersaglio.core.words;

/**
 * Where something stands in a text.
 *
 * @param line   from 1
 * @param column from 1
 * @param from   characters before it in the whole text
 * @param length in characters, 0 at the end of the text
 */
public record Place(int line, int column, int from, int length) {

    Place to(Place last) {
        return new Place(line, column, from, last.from() + last.length() - from);
    }
}
