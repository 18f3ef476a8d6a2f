<x-part id="film-told" tag="p" class="said-of">{{ Evrent\Core\Shot\FilmFacts::of($page->schedule)?->told() }}</x-part>
