package bersaglio.browser.build;

import java.util.Locale;
import org.teavm.model.BasicBlock;
import org.teavm.model.ClassHolder;
import org.teavm.model.ClassHolderTransformer;
import org.teavm.model.ClassHolderTransformerContext;
import org.teavm.model.Instruction;
import org.teavm.model.MethodHolder;
import org.teavm.model.MethodReference;
import org.teavm.model.instructions.InvokeInstruction;

/**
 * While compiling for the page, redirects {@code String.format} to a plain joining of its arguments: the libraries use
 * it for the messages of exceptions only, and a formatter would weigh more than all the rules.
 */
public final class PlainMessages implements ClassHolderTransformer {

    private static final MethodReference FORMAT =
            new MethodReference(String.class, "format", String.class, Object[].class, String.class);
    private static final MethodReference FORMAT_FOR_A_LOCALE =
            new MethodReference(String.class, "format", Locale.class, String.class, Object[].class, String.class);
    private static final MethodReference JOIN =
            new MethodReference(PlainMessages.class, "join", String.class, Object[].class, String.class);
    private static final MethodReference JOIN_FOR_A_LOCALE =
            new MethodReference(PlainMessages.class, "join", Locale.class, String.class, Object[].class, String.class);

    private static final MethodReference SMALL =
            new MethodReference(Character.class, "toLowerCase", char.class, char.class);
    private static final MethodReference PLAIN_SMALL =
            new MethodReference(PlainMessages.class, "small", char.class, char.class);

    @Override
    public void transformClass(ClassHolder cls, ClassHolderTransformerContext context) {
        for (MethodHolder method : cls.getMethods()) {
            if (method.getProgram() == null) {
                continue;
            }
            for (BasicBlock block : method.getProgram().getBasicBlocks()) {
                for (Instruction instruction : block) {
                    if (instruction instanceof InvokeInstruction invoke) {
                        redirect(invoke);
                    }
                }
            }
        }
    }

    private static void redirect(InvokeInstruction invoke) {
        if (FORMAT.equals(invoke.getMethod())) {
            invoke.setMethod(JOIN);
        } else if (FORMAT_FOR_A_LOCALE.equals(invoke.getMethod())) {
            invoke.setMethod(JOIN_FOR_A_LOCALE);
        } else if (SMALL.equals(invoke.getMethod())) {
            invoke.setMethod(PLAIN_SMALL);
        }
    }

    /** The stand-in for {@code String.format} in the page. */
    public static String join(String format, Object[] values) {
        StringBuilder joined = new StringBuilder(format);
        for (Object value : values) {
            joined.append(' ').append(value);
        }
        return joined.toString();
    }

    /** The stand-in for small letters of all the world's scripts, which nothing of ours asks for. */
    public static char small(char c) {
        return c >= 'A' && c <= 'Z' ? (char) (c + 'a' - 'A') : c;
    }

    public static String join(Locale locale, String format, Object[] values) {
        return join(format, values);
    }
}
