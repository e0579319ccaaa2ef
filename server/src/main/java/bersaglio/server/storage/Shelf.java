package bersaglio.server.storage;

import bersaglio.core.problem.Refused;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.springframework.stereotype.Component;

/**
 * Keeps things version by version: what differs from the newest version becomes the next one. A version is never changed
 * or deleted; a thing can be taken off the shelf.
 */
public final class Shelf<T> {

    /** What the shelf must know of the things on it. */
    public interface Form<T> {

        /** What they are, as a word. */
        String kind();

        String id(T thing);

        int version(T thing);

        String name(T thing);

        T as(int version, T thing);

        String write(T thing);

        T read(String text);
    }

    /** Makes shelves. */
    @Component
    public static final class Shelves {

        private final ShelfStore store;
        private final Writer writer;

        Shelves(ShelfStore store, Writer writer) {
            this.store = store;
            this.writer = writer;
        }

        public <T> Shelf<T> of(Form<T> form) {
            return new Shelf<>(form, this);
        }
    }

    private final Form<T> form;
    private final ShelfStore store;
    private final Writer writer;

    private Shelf(Form<T> form, Shelves shelves) {
        this.form = form;
        this.store = shelves.store;
        this.writer = shelves.writer;
    }

    /** The newest version of everything on the shelf, by name. */
    public List<T> all() {
        return store.onShelf(form.kind()).stream()
                .map(form::read)
                .sorted(Comparator.comparing(form::name, String::compareToIgnoreCase))
                .toList();
    }

    /** Whether it is on the shelf or not. */
    public Optional<T> newest(String id) {
        return store.newest(form.kind(), id).map(form::read);
    }

    /** @throws Refused when there never was such a thing */
    public T known(String id) {
        return newest(id)
                .orElseThrow(() -> new Refused("unknown_id", form.kind(), id, "a " + form.kind() + " of this club"));
    }

    /**
     * Stores a thing; sent again unchanged, nothing more is stored.
     *
     * @param basedOn the version that was changed, 0 for a new thing; nothing for whatever is newest
     * @throws Refused when another version was stored meanwhile
     */
    public T keep(T given, OptionalInt basedOn) {
        return writer.write(() -> next(given, basedOn));
    }

    private T next(T given, OptionalInt basedOn) {
        String id = form.id(given);
        Optional<T> newest = newest(id);
        int last = newest.map(form::version).orElse(0);
        store.putBack(form.kind(), id);
        if (newest.isPresent() && newest.get().equals(form.as(last, given))) {
            return newest.get();
        }
        if (basedOn.isPresent() && basedOn.getAsInt() != last) {
            throw changedMeanwhile(basedOn.getAsInt());
        }
        T version = form.as(last + 1, given);
        store.add(form.kind(), id, last + 1, form.write(version));
        return version;
    }

    private static Refused changedMeanwhile(int version) {
        return new Refused("changed_meanwhile", "version", Integer.toString(version), "the newest version");
    }

    public void remove(String id) {
        writer.run(() -> {
            known(id);
            store.remove(form.kind(), id);
        });
    }
}
