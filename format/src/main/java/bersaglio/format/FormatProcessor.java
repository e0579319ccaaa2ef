package bersaglio.format;

import com.eclipsesource.json.WriterConfig;
import com.palantir.javapoet.JavaFile;
import java.io.IOException;
import java.io.Writer;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import javax.annotation.processing.AbstractProcessor;
import javax.annotation.processing.RoundEnvironment;
import javax.annotation.processing.SupportedAnnotationTypes;
import javax.lang.model.SourceVersion;
import javax.lang.model.element.AnnotationMirror;
import javax.lang.model.element.AnnotationValue;
import javax.lang.model.element.Element;
import javax.lang.model.element.TypeElement;
import javax.lang.model.type.DeclaredType;
import javax.tools.Diagnostic;
import javax.tools.StandardLocation;

/** Writes a class for every record and family that {@code Formats} names, and for all that they are made of. */
@SupportedAnnotationTypes(FormatProcessor.ASKED_BY)
public final class FormatProcessor extends AbstractProcessor {

    static final String ASKED_BY = "bersaglio.wire.Formats";

    @Override
    public SourceVersion getSupportedSourceVersion() {
        return SourceVersion.latestSupported();
    }

    @Override
    public boolean process(Set<? extends TypeElement> annotations, RoundEnvironment round) {
        for (TypeElement annotation : annotations) {
            for (Element asking : round.getElementsAnnotatedWith(annotation)) {
                make(asking, mirror(asking));
            }
        }
        return false;
    }

    private static AnnotationMirror mirror(Element asking) {
        return asking.getAnnotationMirrors().stream()
                .filter(one -> one.getAnnotationType().toString().equals(ASKED_BY))
                .findFirst()
                .orElseThrow();
    }

    private void make(Element asking, AnnotationMirror asked) {
        Shapes shapes = new Shapes(processingEnv.getTypeUtils(), named(asked, "byHand"));
        FormatWriter writer = new FormatWriter(shapes);
        SchemaWriter schemas = new SchemaWriter(shapes);
        try {
            named(asked, "value").forEach(root -> writer.want(root, true));
            named(asked, "shown").forEach(root -> writer.want(root, false));
            for (JavaFile file : writer.files()) {
                file.writeTo(processingEnv.getFiler());
            }
            named(asked, "value").forEach(schemas::describe);
            named(asked, "shown").forEach(schemas::describe);
            try (Writer out = processingEnv
                    .getFiler()
                    .createResource(StandardLocation.CLASS_OUTPUT, "bersaglio.wire", "schemas.json", asking)
                    .openWriter()) {
                schemas.all().writeTo(out, WriterConfig.PRETTY_PRINT);
            }
        } catch (CannotBeWritten why) {
            processingEnv.getMessager().printMessage(Diagnostic.Kind.ERROR, why.getMessage(), asking);
        } catch (IOException failure) {
            processingEnv.getMessager().printMessage(Diagnostic.Kind.ERROR, failure.toString(), asking);
        }
    }

    private static List<TypeElement> named(AnnotationMirror asked, String which) {
        List<TypeElement> named = new ArrayList<>();
        asked.getElementValues().forEach((key, value) -> {
            if (key.getSimpleName().contentEquals(which)) {
                for (Object one : (List<?>) value.getValue()) {
                    DeclaredType type = (DeclaredType) ((AnnotationValue) one).getValue();
                    named.add((TypeElement) type.asElement());
                }
            }
        });
        return named;
    }
}
