package kwibbet.app.inventory;

import java.io.IOException;
import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import jakarta.servlet.http.HttpServletResponse;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;

import kwibbet.app.store.Artworks;
import kwibbet.app.store.DesignStore;
import kwibbet.app.store.Inventory;
import kwibbet.app.store.StoredDesign;
import kwibbet.artwork.Artwork;
import kwibbet.artwork.ArtworkId;
import kwibbet.card.Design;
import kwibbet.formats.document.ArtworkDocument;
import kwibbet.outcome.Outcome;

/** Pictures of the maker's own that are printed at home: brought, looked at, taken out. */
@Controller
class PicturesController {

    private static final String HOME = "redirect:/inventory/pictures";
    /** A picture never changes under its id. */
    private static final CacheControl FOR_GOOD =
            CacheControl.maxAge(Duration.ofDays(365)).immutable();

    private static final int PNG = 0x89;

    private final Artworks artworks;
    private final DesignStore designs;
    private final Inventory inventory;

    PicturesController(Artworks artworks, DesignStore designs, Inventory inventory) {
        this.artworks = artworks;
        this.designs = designs;
        this.inventory = inventory;
    }

    /** A picture with few dots. */
    @GetMapping("/pictures/{id:[a-z0-9]{1,64}}")
    ResponseEntity<byte[]> shown(@PathVariable String id) {
        return artworks.shown(new ArtworkId(id))
                .map(dots -> ResponseEntity.ok()
                        .cacheControl(FOR_GOOD)
                        .contentType((dots[0] & 0xff) == PNG ? MediaType.IMAGE_PNG : MediaType.IMAGE_JPEG)
                        .body(dots))
                .orElseGet(() -> ResponseEntity.notFound().build());
    }

    /** All of them. */
    @GetMapping("/inventory/pictures")
    String show(Model model) {
        return gallery(List.of(), model);
    }

    private String gallery(List<String> troubles, Model model) {
        List<Artwork> all = artworks.all();
        List<Design> cards = cards();
        Map<String, List<String>> uses = new LinkedHashMap<>();
        all.forEach(artwork -> uses.put(artwork.id().value(), uses(artwork.id(), cards)));
        model.addAttribute("pictures", all);
        model.addAttribute("uses", uses);
        model.addAttribute("troubles", troubles);
        model.addAttribute("system", inventory.studio().system());
        model.addAttribute("marks", inventory.toolbox().trimmer().graduation());
        return "inventory/pictures";
    }

    private List<Design> cards() {
        return designs.all().stream().map(StoredDesign::design).toList();
    }

    /** Those of some cards that have it. */
    private static List<String> uses(ArtworkId id, List<Design> cards) {
        return cards.stream()
                .filter(design -> ArtworkDocument.of(design).containsKey(id))
                .map(design -> design.name())
                .toList();
    }

    /** One more. */
    @PostMapping("/inventory/pictures")
    String bring(
            @RequestParam MultipartFile file,
            @RequestParam(defaultValue = "1") String page,
            Model model,
            HttpServletResponse response)
            throws IOException {
        Outcome<Artwork> brought = artworks.bring(file, page);
        if (brought instanceof Outcome.Made<Artwork>) {
            return HOME;
        }
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return gallery(
                brought.reasons().stream().map(reason -> reason.message()).toList(), model);
    }

    /** Takes one out that no card has. */
    @PostMapping("/inventory/pictures/{id:[a-z0-9]{1,64}}/remove")
    String remove(@PathVariable String id, Model model, HttpServletResponse response) {
        List<String> uses = uses(new ArtworkId(id), cards());
        if (uses.isEmpty()) {
            artworks.remove(new ArtworkId(id));
            return HOME;
        }
        response.setStatus(HttpStatus.CONFLICT.value());
        return gallery(List.of("It is printed on " + String.join(", ", uses) + ": take it off there first."), model);
    }
}
