package bersaglio.browser.build;

import java.util.List;
import org.teavm.model.ClassHolder;
import org.teavm.model.ClassHolderTransformer;
import org.teavm.model.ClassHolderTransformerContext;
import org.teavm.model.MethodDescriptor;
import org.teavm.model.MethodHolder;

/**
 * While compiling for the page, leaves out what our records are given and the page never asks of them: their text, and, of
 * those that are only written out, whether they are the same. Together they would weigh as much as the odds.
 */
public final class PlainRecords implements ClassHolderTransformer {

    private static final MethodDescriptor TEXT = new MethodDescriptor("toString", String.class);
    private static final List<MethodDescriptor> SAMENESS = List.of(
            new MethodDescriptor("equals", Object.class, boolean.class), new MethodDescriptor("hashCode", int.class));
    private static final String WRITTEN_OUT = "bersaglio.wire.view.";

    @Override
    public void transformClass(ClassHolder cls, ClassHolderTransformerContext context) {
        if (!cls.getName().startsWith("bersaglio.") || !"java.lang.Record".equals(cls.getParent())) {
            return;
        }
        leaveOut(cls, TEXT);
        if (cls.getName().startsWith(WRITTEN_OUT)) {
            SAMENESS.forEach(method -> leaveOut(cls, method));
        }
    }

    private static void leaveOut(ClassHolder cls, MethodDescriptor descriptor) {
        MethodHolder method = cls.getMethod(descriptor);
        if (method != null) {
            cls.removeMethod(method);
        }
    }
}
