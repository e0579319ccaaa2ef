package bersaglio.core.words;

import java.util.List;

/** Writes words one after the other. */
public final class Sentence {

    private final StringBuilder text = new StringBuilder();

    /** A new line, set in by this much. */
    public Sentence line(int depth) {
        text.append(text.length() == 0 ? "" : "\n").append("  ".repeat(depth));
        return this;
    }

    public Sentence blank() {
        text.append('\n');
        return this;
    }

    public Sentence say(String words) {
        if (words.isEmpty()) {
            return this;
        }
        boolean first = text.length() == 0 || " \n".indexOf(text.charAt(text.length() - 1)) >= 0;
        text.append(first ? "" : " ").append(words);
        return this;
    }

    public Sentence say(Said value) {
        return say(value.words());
    }

    /** For whoever reads it aloud. */
    public Sentence comma() {
        text.append(',');
        return this;
    }

    public Sentence colon() {
        text.append(':');
        return this;
    }

    public Sentence semicolon() {
        text.append(';');
        return this;
    }

    public Sentence number(double number) {
        return say(
                number == Math.rint(number) && Math.abs(number) < 1e6
                        ? Integer.toString((int) number)
                        : Double.toString(number));
    }

    public Sentence metres(double metres) {
        return number(metres).say("m");
    }

    public Sentence counted(int count, String one, String many) {
        return number(count).say(count == 1 ? one : many);
    }

    /** As a percentage where that says exactly the same. */
    public Sentence share(double share) {
        double hundredths = Math.rint(share * 10_000) / 100;
        return hundredths / 100 == share ? number(hundredths).say("%") : number(share);
    }

    public Sentence quoted(String words) {
        return say("\"" + words.replace("\\", "\\\\").replace("\"", "\\\"").replace('\n', ' ') + "\"");
    }

    public Sentence quoted(List<String> words) {
        for (int i = 0; i < words.size(); i++) {
            quoted(words.get(i));
            if (i < words.size() - 1) {
                comma();
            }
        }
        return this;
    }

    /** As a word where it is one. */
    public Sentence name(String name) {
        return Lexer.isWord(name) ? say(name) : quoted(name);
    }

    @Override
    public String toString() {
        return text.toString();
    }
}
