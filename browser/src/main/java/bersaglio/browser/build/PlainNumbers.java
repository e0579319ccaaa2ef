package bersaglio.browser.build;

import org.teavm.jso.JSBody;
import org.teavm.model.ClassHolder;
import org.teavm.model.ClassHolderTransformer;
import org.teavm.model.ClassHolderTransformerContext;
import org.teavm.model.MethodDescriptor;
import org.teavm.model.MethodHolder;
import org.teavm.model.ValueType;
import org.teavm.model.emit.ProgramEmitter;
import org.teavm.model.emit.ValueEmitter;

/**
 * While compiling for the page, has numbers read and written by the browser itself: both are exact to the last bit there
 * as here, and the tables of a reader and a writer would weigh as much as a tenth of the rules.
 */
public final class PlainNumbers implements ClassHolderTransformer {

    private static final String BUILDER = "java.lang.AbstractStringBuilder";
    private static final MethodDescriptor READ = new MethodDescriptor("parseDouble", String.class, double.class);
    private static final MethodDescriptor WRITE =
            new MethodDescriptor("insert", ValueType.INTEGER, ValueType.DOUBLE, ValueType.object(BUILDER));

    @Override
    public void transformClass(ClassHolder cls, ClassHolderTransformerContext context) {
        if (cls.getName().equals(Double.class.getName())) {
            MethodHolder read = cls.getMethod(READ);
            ProgramEmitter program = ProgramEmitter.create(read, context.getHierarchy());
            program.invoke(PlainNumbers.class, "read", double.class, program.var(1, String.class))
                    .returnValue();
        } else if (cls.getName().equals(BUILDER)) {
            MethodHolder write = cls.getMethod(WRITE);
            ProgramEmitter program = ProgramEmitter.create(write, context.getHierarchy());
            ValueEmitter text = program.invoke(PlainNumbers.class, "write", String.class, program.var(2, double.class));
            program.var(0, ValueType.object(BUILDER))
                    .invokeVirtual("insert", ValueType.object(BUILDER), program.var(1, int.class), text)
                    .returnValue();
        }
    }

    /** The stand-in for {@code Double.parseDouble} in the page. */
    public static double read(String text) {
        double number = text.isEmpty() ? Double.NaN : numberOf(text);
        if (Double.isNaN(number)) {
            throw new NumberFormatException(text);
        }
        return number;
    }

    /** The stand-in for how a builder writes a number; a whole one has its {@code .0}. */
    public static String write(double number) {
        String text = textOf(number);
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            if (c == '.' || c == 'e' || c == 'N' || c == 'I') {
                return text;
            }
        }
        return text + ".0";
    }

    @JSBody(params = "text", script = "return Number(text);")
    private static native double numberOf(String text);

    @JSBody(params = "number", script = "return Object.is(number, -0) ? '-0' : String(number);")
    private static native String textOf(double number);
}
