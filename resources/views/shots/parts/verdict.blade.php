@php
    use Evrent\Core\Words\PlainText;
    $summary = $page->schedule->summary;
    $stopping = $page->report->stopping();
    $works = $stopping === [];
    $count = count($page->report->findings);
    $toReview = route('shots.view', [...$page->shot->address(), 'review']);
@endphp
<x-part id="verdict" class="verdict" tabindex="-1" :data-works="$works ? 'yes' : 'no'" :data-preview="$page->isPreview ? 'yes' : 'no'">
    <a class="verdict-in-short" href="{{ $toReview }}" data-to-view="review"><x-icon :name="$works ? 'circle-check' : 'octagon-x'" /><b
        aria-hidden="true">{{ $works ? 'Works' : 'Short' }}</b><span
        class="sr-only">{{ $works ? 'Works' : 'Falls short' }}: to what was found</span>@if ($count > 0)<i aria-hidden="true">{{ $count }}</i>@endif</a>
    <x-icon :name="$works ? 'circle-check' : 'octagon-x'" />
    <p class="says">
        <strong>{{ $page->isPreview ? ($works ? 'It would work.' : 'It would fall short.')
            : ($works ? 'This shot works.' : 'This shot falls short.') }}</strong>
        @if ($works)
            <span>@if ($page->plan->timing->mode->hasClock())Tightest is <a href="#scrub"
                data-photo="{{ $summary->tightestPhoto }}">photo {{ $summary->tightestPhoto }}</a>, with
                {{ PlainText::seconds($summary->minSlackSeconds) }} to spare.@else Stop motion: nothing hangs on a clock.@endif</span>
        @else
            <span>{{ $stopping[0]->title }}: {{ $settings->clock($stopping[0]->shortfall) }}@if ($stopping[0]->firstPhoto), from <a href="#scrub"
                data-photo="{{ $stopping[0]->firstPhoto }}">photo {{ $stopping[0]->firstPhoto }}</a>@endif.</span>
        @endif
    </p>
    @if ($count > 0)<a class="found-count" href="{{ $toReview }}" data-to-view="review">{{ $count }} {{ $count === 1 ? 'finding' : 'findings' }}</a>@endif
    @include('shots.parts.not-judged')
</x-part>
