package glimble.server.access;

import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The key in the address of an output's page. */
@RestController
@RequestMapping("/api/outputs/{output}/key")
class OutputKeysController {
    private final OutputKeys keys;

    OutputKeysController(OutputKeys keys) {
        this.keys = keys;
    }

    /** @param key missing if nobody may see the page without an account */
    record KeyAnswer(Optional<String> key) {}

    @GetMapping
    KeyAnswer key(@PathVariable long output) {
        return new KeyAnswer(keys.of(output));
    }

    /** Makes one; the one before opens nothing any more. */
    @PostMapping
    KeyAnswer make(@PathVariable long output) {
        return new KeyAnswer(Optional.of(keys.make(output)));
    }

    /** Pages that have it are let go. */
    @DeleteMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeBack(@PathVariable long output) {
        keys.takeBack(output);
    }
}
