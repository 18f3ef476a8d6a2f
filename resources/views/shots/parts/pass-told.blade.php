@php use Evrent\Core\Shot\PassFacts; @endphp
<x-part id="pass-told" tag="p"
    class="said-of">{{ implode(' ', array_map(Words::say(...), PassFacts::of($page->plan)?->told($settings->units) ?? [])) }}</x-part>
