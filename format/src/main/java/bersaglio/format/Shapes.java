package bersaglio.format;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.OptionalLong;
import javax.lang.model.element.AnnotationMirror;
import javax.lang.model.element.AnnotationValue;
import javax.lang.model.element.Element;
import javax.lang.model.element.ElementKind;
import javax.lang.model.element.ExecutableElement;
import javax.lang.model.element.Modifier;
import javax.lang.model.element.RecordComponentElement;
import javax.lang.model.element.TypeElement;
import javax.lang.model.element.VariableElement;
import javax.lang.model.type.DeclaredType;
import javax.lang.model.type.TypeKind;
import javax.lang.model.type.TypeMirror;
import javax.lang.model.util.ElementFilter;
import javax.lang.model.util.Types;

/** What the compiler knows of records and families, as far as their formats ask. */
final class Shapes {

    private static final String SAYS = "bersaglio.core.format.";

    private final Types types;
    private final Map<String, TypeElement> whole = new HashMap<>();
    private final Map<String, TypeElement> flat = new HashMap<>();

    /** @param byHand classes with a static {@code encode} of what they write, or with {@code add} of what stands flat */
    Shapes(Types types, List<TypeElement> byHand) {
        this.types = types;
        for (TypeElement one : byHand) {
            for (ExecutableElement method : ElementFilter.methodsIn(one.getEnclosedElements())) {
                if (method.getModifiers().containsAll(List.of(Modifier.STATIC, Modifier.PUBLIC))) {
                    note(one, method.getSimpleName().toString(), method.getParameters());
                }
            }
        }
    }

    private void note(TypeElement by, String method, List<? extends VariableElement> given) {
        if (method.equals("encode") && given.size() == 1) {
            whole.put(plain(given.get(0).asType()), by);
        } else if (method.equals("add") && given.size() == 2) {
            flat.put(plain(given.get(1).asType()), by);
        }
    }

    /** A type without what is said about it being absent. */
    String plain(TypeMirror type) {
        if (type instanceof DeclaredType declared) {
            String name = element(declared).getQualifiedName().toString();
            List<String> arguments =
                    declared.getTypeArguments().stream().map(this::plain).toList();
            return arguments.isEmpty() ? name : name + "<" + String.join(",", arguments) + ">";
        }
        return types.erasure(type).getKind().toString();
    }

    /** Who writes a type by hand, as an object of its own or among the fields of what holds it. */
    Optional<TypeElement> byHand(TypeMirror type, boolean flat) {
        return Optional.ofNullable((flat ? this.flat : whole).get(plain(type)));
    }

    static TypeElement element(TypeMirror type) {
        return (TypeElement) ((DeclaredType) type).asElement();
    }

    static boolean isRecord(TypeMirror type) {
        return type.getKind() == TypeKind.DECLARED && element(type).getKind() == ElementKind.RECORD;
    }

    static boolean isEnum(TypeMirror type) {
        return type.getKind() == TypeKind.DECLARED && element(type).getKind() == ElementKind.ENUM;
    }

    static boolean isFamily(TypeMirror type) {
        return type.getKind() == TypeKind.DECLARED
                && !element(type).getPermittedSubclasses().isEmpty();
    }

    static boolean is(TypeMirror type, Class<?> known) {
        return type.getKind() == TypeKind.DECLARED
                && element(type).getQualifiedName().contentEquals(known.getName());
    }

    static boolean isOptional(TypeMirror type) {
        return is(type, Optional.class)
                || is(type, OptionalInt.class)
                || is(type, OptionalLong.class)
                || is(type, OptionalDouble.class);
    }

    /** The record, or kind of collection, that a format made by hand says that it writes. */
    static Optional<TypeElement> writtenAs(TypeElement hand) {
        return said(hand, "bersaglio.wire.WrittenAs", "value").map(type -> element((TypeMirror) type));
    }

    static List<? extends RecordComponentElement> components(TypeElement record) {
        return record.getRecordComponents();
    }

    /** The records of a family, each with its kind, in the order of the kinds' names. */
    static Map<String, TypeElement> kinds(TypeElement family) {
        Map<String, TypeElement> kinds = new LinkedHashMap<>();
        for (TypeElement one : records(family)) {
            String kind = said(one, "Kind", "value")
                    .orElseThrow(() -> new CannotBeWritten(one + " does not say which kind of " + family + " it is"))
                    .toString();
            TypeElement other = kinds.put(kind, one);
            if (other != null) {
                throw new CannotBeWritten(one + " and " + other + " are both called " + kind);
            }
        }
        return kinds;
    }

    private static List<TypeElement> records(TypeElement family) {
        List<TypeElement> records = new ArrayList<>();
        for (TypeMirror permitted : family.getPermittedSubclasses()) {
            if (isRecord(permitted)) {
                records.add(element(permitted));
            } else {
                records.addAll(records(element(permitted)));
            }
        }
        return records;
    }

    /** A part of a family is told as the family: a page that edits one asks for no more. */
    static TypeElement topmost(TypeElement type) {
        boolean part = isFamily(type.asType()) && !has(type, "Family");
        return part ? topmost(element(type.getInterfaces().get(0))) : type;
    }

    /** The interface that a family whose kinds stand apart has in common with others. */
    static TypeElement above(TypeElement family) {
        if (family.getInterfaces().size() != 1) {
            throw new CannotBeWritten(
                    family + " stands apart, and so extends one interface that all such families share");
        }
        return element(family.getInterfaces().get(0));
    }

    /** Whether the kind stands in what holds a record of this family, as an event's does. */
    static boolean standsApart(TypeElement family) {
        return said(family, "Family", "apart").map(Boolean.TRUE::equals).orElse(false);
    }

    /** The field that the kind stands in: the family says it, or one that it belongs to. */
    static String kindField(TypeElement family) {
        Optional<Object> said = said(family, "Family", "field");
        if (said.isPresent()) {
            return said.get().toString();
        }
        if (has(family, "Family")) {
            return "kind";
        }
        return family.getInterfaces().stream()
                .map(above -> kindField(element(above)))
                .findFirst()
                .orElseThrow(() -> new CannotBeWritten(family + " is not said to be a family"));
    }

    /** What an annotation of a record says. */
    static Optional<Object> said(Element of, String annotation, String member) {
        String named = annotation.contains(".") ? annotation : SAYS + annotation;
        for (AnnotationMirror mirror : of.getAnnotationMirrors()) {
            if (mirror.getAnnotationType().toString().equals(named)) {
                for (Map.Entry<? extends ExecutableElement, ? extends AnnotationValue> entry :
                        mirror.getElementValues().entrySet()) {
                    if (entry.getKey().getSimpleName().contentEquals(member)) {
                        return Optional.of(entry.getValue().getValue());
                    }
                }
            }
        }
        return Optional.empty();
    }

    static boolean has(Element of, String annotation) {
        return of.getAnnotationMirrors().stream()
                .anyMatch(mirror -> mirror.getAnnotationType().toString().equals(SAYS + annotation));
    }

    /** Whether a component may be null: such a one is left out then. */
    static boolean mayBeNull(RecordComponentElement component) {
        return component.asType().getAnnotationMirrors().stream()
                .anyMatch(mirror ->
                        element(mirror.getAnnotationType()).getSimpleName().contentEquals("Nullable"));
    }
}
