package kwibbet.wording;

import java.util.List;

import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

class NamesTest {

    @Test
    void aNumberedRowIsToldByItsFirstAndItsLast() {
        assertThat(Names.together(List.of("Porthole, wall 9", "Porthole, wall 10", "Porthole, wall 11", "Mat 1")))
                .containsExactly("Porthole, wall 9 to 11", "Mat 1");
        assertThat(Names.together(List.of("wall 4", "wall 3", "wall 2", "wall 3", "Mat")))
                .containsExactly("wall 4 to 2", "Mat");
        assertThat(Names.together(List.of("Mat 1", "Mat 2", "Mat 4", "Sign", "Sign")))
                .containsExactly("Mat 1", "Mat 2", "Mat 4", "Sign");
        assertThat(Names.together(List.of("1", "2", "3", "x2", "x3", "x4", "20261128123456", "20261128123457")))
                .containsExactly("1 to 3", "x2 to 4", "20261128123456", "20261128123457");
    }
}
