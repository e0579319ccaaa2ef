package bersaglio.browser.build;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.importer.ClassFileImporter;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.Type;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.teavm.model.ClassHolder;
import org.teavm.model.MethodDescriptor;
import org.teavm.model.ReferenceCache;
import org.teavm.parsing.ClasspathClassHolderSource;

/** A record that is a key or an element of a set is found again in the page, too. */
class PlainRecordsTest {

    private static final MethodDescriptor EQUALS = new MethodDescriptor("equals", Object.class, boolean.class);
    private static final MethodDescriptor HASH_CODE = new MethodDescriptor("hashCode", int.class);

    private static final List<Class<?>> OURS = ours();

    private final ClasspathClassHolderSource compiled = new ClasspathClassHolderSource(new ReferenceCache());

    @Test
    void whateverIsLookedUpKeepsItsSameness() {
        Set<Class<?>> keys = new HashSet<>();
        for (Class<?> one : OURS) {
            keysOf(one, keys);
        }
        assertThat(keys).isNotEmpty().allSatisfy(key -> assertThat(isFoundAgain(key))
                .as(key.getName())
                .isTrue());
    }

    @Test
    void everyRecordOfTheRulesCanBeAKey() {
        List<Class<?>> records = OURS.stream()
                .filter(Class::isRecord)
                .filter(one -> one.getName().startsWith("bersaglio.core."))
                .toList();
        assertThat(records).hasSizeGreaterThan(100).allSatisfy(record -> assertThat(isFoundAgain(record))
                .as(record.getName())
                .isTrue());
    }

    /** As it is after the transformation. */
    private boolean isFoundAgain(Class<?> record) {
        ClassHolder holder = compiled.get(record.getName());
        new PlainRecords().transformClass(holder, null);
        return holder.getMethod(EQUALS) != null && holder.getMethod(HASH_CODE) != null;
    }

    /** Records that fields, components and methods of a class have as keys of maps or elements of sets. */
    private static void keysOf(Class<?> one, Set<Class<?>> keys) {
        List<Type> types = new ArrayList<>();
        Arrays.stream(one.getDeclaredFields()).forEach(field -> types.add(field.getGenericType()));
        Arrays.stream(one.getDeclaredMethods()).forEach(method -> {
            types.add(method.getGenericReturnType());
            types.addAll(List.of(method.getGenericParameterTypes()));
        });
        types.forEach(type -> keysIn(type, keys));
    }

    private static void keysIn(Type type, Set<Class<?>> keys) {
        if (type instanceof ParameterizedType given && given.getRawType() instanceof Class<?> raw) {
            Type first = given.getActualTypeArguments()[0];
            boolean looksUp = Map.class.isAssignableFrom(raw) || Set.class.isAssignableFrom(raw);
            if (looksUp && first instanceof Class<?> key && key.isRecord()) {
                keys.add(key);
            }
            for (Type argument : given.getActualTypeArguments()) {
                keysIn(argument, keys);
            }
        }
    }

    /** All classes of the rules, of what is written, and of what the page calls. */
    private static List<Class<?>> ours() {
        List<Class<?>> all = new ArrayList<>();
        new ClassFileImporter()
                .withImportOption(location -> !location.contains("-tests.jar") && !location.contains("/test-classes/"))
                .importPackages("bersaglio.core", "bersaglio.wire", "bersaglio.browser")
                .forEach(one -> all.add(one.reflect()));
        return all;
    }
}
