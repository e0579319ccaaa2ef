package bersaglio.format;

import com.palantir.javapoet.ClassName;
import com.palantir.javapoet.CodeBlock;
import com.palantir.javapoet.TypeName;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.Set;
import javax.lang.model.element.RecordComponentElement;
import javax.lang.model.element.TypeElement;
import javax.lang.model.type.DeclaredType;
import javax.lang.model.type.TypeKind;
import javax.lang.model.type.TypeMirror;

/** How one component is written and read. */
final class Values {

    private static final ClassName ARRAYS = ClassName.get("bersaglio.wire", "Arrays");

    private final Shapes shapes;
    private final FormatWriter writer;
    private boolean reading;

    Values(Shapes shapes, FormatWriter writer) {
        this.shapes = shapes;
        this.writer = writer;
    }

    CodeBlock written(RecordComponentElement component) {
        TypeMirror type = component.asType();
        CodeBlock value = CodeBlock.of("value.$L()", component.getSimpleName());
        if (Shapes.has(component, "Unwritten")) {
            return CodeBlock.of("");
        }
        if (Shapes.has(component, "Flat")) {
            return CodeBlock.of("$T.add(json, $L);\n", format(type, true), value);
        }
        String field = Naming.field(component);
        Optional<CodeBlock> absent = absent(component, value);
        CodeBlock add = CodeBlock.of("json.add($S, $L);\n", field, json(type, present(type, value)));
        return absent.map(where -> CodeBlock.of("if (!($L)) {\n$>$L$<}\n", where, add))
                .orElse(add);
    }

    /** Where a component is left out. */
    private Optional<CodeBlock> absent(RecordComponentElement component, CodeBlock value) {
        TypeMirror type = component.asType();
        if (Shapes.mayBeNull(component)) {
            return Optional.of(CodeBlock.of("$L == null", value));
        }
        if (Shapes.isOptional(type)) {
            return Optional.of(CodeBlock.of("$L.isEmpty()", value));
        }
        boolean always = Shapes.said(component, "Usually", "written")
                .map(Boolean.TRUE::equals)
                .orElse(false);
        if (!Shapes.has(component, "Usually") || always) {
            return Optional.empty();
        }
        return Optional.of(
                type.getKind().isPrimitive()
                        ? CodeBlock.of("$L == $L", value, usual(component))
                        : CodeBlock.of("$L.equals($L)", value, usual(component)));
    }

    private static CodeBlock usual(RecordComponentElement component) {
        String said = Shapes.said(component, "Usually", "value").orElseThrow().toString();
        if (!said.isEmpty()) {
            return CodeBlock.of("$L", said);
        }
        if (Shapes.is(component.asType(), List.class)) {
            return CodeBlock.of("$T.of()", List.class);
        }
        return CodeBlock.of("$S", "");
    }

    private static CodeBlock present(TypeMirror type, CodeBlock value) {
        if (Shapes.is(type, Optional.class)) {
            return CodeBlock.of("$L.get()", value);
        } else if (Shapes.is(type, OptionalInt.class)) {
            return CodeBlock.of("$L.getAsInt()", value);
        } else if (Shapes.is(type, OptionalLong.class)) {
            return CodeBlock.of("$L.getAsLong()", value);
        }
        return Shapes.is(type, OptionalDouble.class) ? CodeBlock.of("$L.getAsDouble()", value) : value;
    }

    private static TypeMirror argument(TypeMirror type) {
        return ((DeclaredType) type).getTypeArguments().get(0);
    }

    /** What {@code JsonObject.add} takes. */
    private CodeBlock json(TypeMirror type, CodeBlock value) {
        if (shapes.byHand(type, false).isPresent()) {
            return CodeBlock.of("$T.encode($L)", format(type, false), value);
        }
        if (Shapes.is(type, Optional.class)) {
            return json(argument(type), value);
        }
        if (Shapes.isEnum(type)) {
            return CodeBlock.of("$L.name()", value);
        }
        if (Shapes.is(type, Set.class)) {
            return CodeBlock.of("$T.sorted($L)", ARRAYS, value);
        }
        if (Shapes.is(type, List.class)) {
            return array(argument(type), value);
        }
        if (Shapes.is(type, Map.class)) {
            return CodeBlock.of("$T.numbers($L)", ARRAYS, value);
        }
        if (Shapes.isRecord(type) || Shapes.isFamily(type)) {
            return CodeBlock.of("$T.encode($L)", format(type, false), value);
        }
        return value;
    }

    private CodeBlock array(TypeMirror each, CodeBlock value) {
        if (Shapes.isEnum(each)) {
            return CodeBlock.of("$T.names($L)", ARRAYS, value);
        } else if (Shapes.is(each, String.class)) {
            return CodeBlock.of("$T.texts($L)", ARRAYS, value);
        } else if (Shapes.is(each, Integer.class)) {
            return CodeBlock.of("$T.counts($L)", ARRAYS, value);
        } else if (Shapes.is(each, Double.class)) {
            return CodeBlock.of("$T.numbers($L)", ARRAYS, value);
        }
        return CodeBlock.of("$T.of($L, $T::encode)", ARRAYS, value, format(each, false));
    }

    /** The class that writes a type, made for it if nobody has by hand. */
    private ClassName format(TypeMirror type, boolean flat) {
        Optional<TypeElement> hand = shapes.byHand(type, flat);
        if (hand.isPresent()) {
            return ClassName.get(hand.get());
        }
        if (!Shapes.isRecord(type) && (flat || !Shapes.isFamily(type))) {
            throw new CannotBeWritten(type + " has no format");
        }
        writer.want(Shapes.element(type), reading);
        return Naming.formatOf(Shapes.element(type));
    }

    /** What is made from now on is read too, or only shown. */
    void reading(boolean read) {
        reading = read;
    }

    CodeBlock read(RecordComponentElement component) {
        TypeMirror type = component.asType();
        if (Shapes.has(component, "Unwritten")) {
            return CodeBlock.of("new $T()", type);
        }
        if (Shapes.has(component, "Flat")) {
            return CodeBlock.of("$T.decode(fields)", format(type, true));
        }
        String field = Naming.field(component);
        if (Shapes.is(type, Optional.class)) {
            return either(
                    field,
                    CodeBlock.of("$T.of($L)", Optional.class, value(argument(type), field)),
                    CodeBlock.of("$T.empty()", Optional.class));
        }
        for (Class<?> optional : List.of(OptionalInt.class, OptionalLong.class, OptionalDouble.class)) {
            if (Shapes.is(type, optional)) {
                String read =
                        optional == OptionalInt.class ? "count" : optional == OptionalLong.class ? "whole" : "number";
                return either(
                        field,
                        CodeBlock.of("$T.of(fields.$L($S))", optional, read, field),
                        CodeBlock.of("$T.empty()", optional));
            }
        }
        CodeBlock there = value(type, field);
        return Shapes.has(component, "Usually") ? either(field, there, usual(component)) : there;
    }

    private static CodeBlock either(String field, CodeBlock there, CodeBlock absent) {
        return CodeBlock.of("fields.has($S) ? $L : $L", field, there, absent);
    }

    private CodeBlock value(TypeMirror type, String field) {
        if (shapes.byHand(type, false).isPresent()) {
            return CodeBlock.of("$T.decode(fields.object($S))", format(type, false), field);
        }
        if (Shapes.isEnum(type)) {
            return CodeBlock.of("fields.oneOf($S, $T.values())", field, TypeName.get(type));
        }
        if (Shapes.is(type, List.class)) {
            return list(argument(type), field);
        }
        if (Shapes.is(type, Set.class)) {
            return CodeBlock.of("$T.copyOf($L)", Set.class, list(argument(type), field));
        }
        if (Shapes.isRecord(type) || Shapes.isFamily(type)) {
            return CodeBlock.of("$T.decode(fields.object($S))", format(type, false), field);
        }
        return CodeBlock.of("fields.$L($S)", reader(type), field);
    }

    private static String reader(TypeMirror type) {
        if (type.getKind() == TypeKind.INT) {
            return "count";
        } else if (type.getKind() == TypeKind.LONG) {
            return "whole";
        } else if (type.getKind() == TypeKind.DOUBLE) {
            return "number";
        } else if (type.getKind() == TypeKind.BOOLEAN) {
            return "flag";
        } else if (Shapes.is(type, String.class)) {
            return "text";
        }
        throw new CannotBeWritten("nothing reads a " + type);
    }

    private CodeBlock list(TypeMirror each, String field) {
        if (Shapes.isEnum(each)) {
            return CodeBlock.of("fields.eachOneOf($S, $T.values())", field, TypeName.get(each));
        } else if (Shapes.is(each, String.class)) {
            return CodeBlock.of("fields.texts($S)", field);
        } else if (Shapes.is(each, Integer.class)) {
            return CodeBlock.of("fields.counts($S)", field);
        }
        return CodeBlock.of("fields.each($S, $T::decode)", field, format(each, false));
    }
}
