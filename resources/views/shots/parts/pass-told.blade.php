<x-part id="pass-told" tag="p" class="said-of">{{ implode(' ', Evrent\Core\Shot\PassFacts::of($page->plan)?->told($settings->units) ?? []) }}</x-part>
