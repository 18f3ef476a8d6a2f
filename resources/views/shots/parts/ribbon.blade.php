@php
    use Evrent\Core\Drawings\SlackRibbon;
    $ribbon = SlackRibbon::of($page->schedule);
@endphp
<svg id="ribbon" class="ribbon" viewBox="0 0 {{ SlackRibbon::WIDTH }} {{ SlackRibbon::ABOVE + SlackRibbon::BELOW }}" preserveAspectRatio="none"
    role="img" aria-label="{{ $ribbon?->told() ?? __('shots.ribbon.none') }}">@if ($ribbon !== null)<path class="spare"
    d="{{ $ribbon->spare() }}" /><path class="short" d="{{ $ribbon->short() }}" />@endif<path class="zero"
    d="M0 {{ SlackRibbon::ABOVE }}H{{ SlackRibbon::WIDTH }}" /></svg>
