package bersaglio.server.problem;

import org.springframework.http.ResponseEntity;

/** What a person's browser is shown at an address that does not exist: the application itself, which says so and leads back. */
public interface PageForPeople {

    ResponseEntity<String> nothingHere();
}
