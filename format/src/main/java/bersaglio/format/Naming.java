package bersaglio.format;

import com.palantir.javapoet.ClassName;
import javax.lang.model.element.RecordComponentElement;
import javax.lang.model.element.TypeElement;

/** What is made of a type and a component is called. */
final class Naming {

    static final String PACKAGE = "bersaglio.wire.format";

    private Naming() {}

    /** A type with those that it stands in, as one word. */
    static String wordFor(TypeElement type) {
        return String.join("", ClassName.get(type).simpleNames());
    }

    static ClassName formatOf(TypeElement type) {
        return ClassName.get(PACKAGE, wordFor(type) + "Format");
    }

    static String field(RecordComponentElement component) {
        return Shapes.said(component, "Called", "value")
                .map(Object::toString)
                .orElse(component.getSimpleName().toString());
    }
}
