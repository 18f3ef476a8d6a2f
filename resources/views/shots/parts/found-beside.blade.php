{{-- What was found, beside what it concerns: with its likeliest remedy here, with all of them in Review. --}}
@php
    use App\Pages\ShotView;
    use Evrent\Core\Findings\Severity;
@endphp
<div id="found-beside" class="found-beside">
    @foreach (ShotView::cases() as $each)
        @foreach ($each->among($page->report->findings) as $finding)
            @php $remedies = $page->remediesOf($finding); @endphp
            <article @class(['finding panel is-beside', 'is-further' => $loop->index > 0]) data-of-view="{{ $each->value }}"
                data-severity="{{ $finding->severity->value }}"
                data-finding="{{ $finding->id->value }}" @if ($finding->firstPhoto) data-points-at="{{ $finding->firstPhoto }}" @endif>
                <h3><x-icon :name="match ($finding->severity) { Severity::Error => 'octagon-x', Severity::Warning => 'triangle-alert',
                    Severity::Info => 'info' }" /> {{ $finding->title }}</h3>
                <p class="shortfall"><b>{{ $settings->clock($finding->shortfall) }}</b>@if ($finding->firstPhoto) <span>{{ __('shots.findings.from') }} <a
                    href="#scrub"
                    data-photo="{{ $finding->firstPhoto }}">{{ __('shots.findings.photo', ['firstPhoto' => $finding->firstPhoto]) }}</a></span>@endif
                    <a class="rest" href="#finding-{{ $finding->id->value }}">{{ $remedies === [] ? __('shots.found_beside.why')
                    : __('shots.found_beside.fixes', ['remedies' => count($remedies), 'part' => count($remedies) === 1 ? __('shots.found_beside.fix')
                        : __('shots.found_beside.fixes_many')]) }}</a></p>
                @if ($remedies !== [])
                    <div class="remedy"><x-act :action="$page->shot->at('shots.remedies.store')" :fields="['finding' => $finding->id->value,
                        'remedy' => $remedies[0]['remedy']->key]" :live="$page->revision->id">{{
                        $settings->clock($remedies[0]['remedy']->label) }}</x-act></div>
                @endif
            </article>
        @endforeach
    @endforeach
</div>
