package bersaglio.core.written;

import java.util.List;

/** Writes words one after the other. */
final class Sentence {

    private final StringBuilder text = new StringBuilder();

    /** A new line, set in by this much. */
    Sentence line(int depth) {
        text.append(text.length() == 0 ? "" : "\n").append("  ".repeat(depth));
        return this;
    }

    Sentence blank() {
        text.append('\n');
        return this;
    }

    Sentence say(String words) {
        if (words.isEmpty()) {
            return this;
        }
        boolean first = text.length() == 0 || " \n".indexOf(text.charAt(text.length() - 1)) >= 0;
        text.append(first ? "" : " ").append(words);
        return this;
    }

    /** For whoever reads it aloud. */
    Sentence comma() {
        text.append(',');
        return this;
    }

    Sentence colon() {
        text.append(':');
        return this;
    }

    Sentence semicolon() {
        text.append(';');
        return this;
    }

    Sentence number(double number) {
        return say(
                number == Math.rint(number) && Math.abs(number) < 1e6
                        ? Integer.toString((int) number)
                        : Double.toString(number));
    }

    Sentence metres(double metres) {
        return number(metres).say("m");
    }

    Sentence counted(int count, String one, String many) {
        return number(count).say(count == 1 ? one : many);
    }

    /** As a percentage where that says exactly the same. */
    Sentence share(double share) {
        double hundredths = Math.rint(share * 10_000) / 100;
        return hundredths / 100 == share ? number(hundredths).say("%") : number(share);
    }

    Sentence quoted(String words) {
        return say("\"" + words.replace("\\", "\\\\").replace("\"", "\\\"").replace('\n', ' ') + "\"");
    }

    Sentence quoted(List<String> words) {
        for (int i = 0; i < words.size(); i++) {
            quoted(words.get(i));
            if (i < words.size() - 1) {
                comma();
            }
        }
        return this;
    }

    /** As a word where it is one. */
    Sentence name(String name) {
        return Lexer.isWord(name) ? say(name) : quoted(name);
    }

    @Override
    public String toString() {
        return text.toString();
    }
}
