@php use App\Pages\ShotView; use Evrent\Core\Checks\NotChecked; use Evrent\Core\Findings\Severity; @endphp
<x-part id="findings" class="findings panel" tabindex="-1" aria-labelledby="findings-title">
    <header class="panel-head"><h2 id="findings-title">{{ __('shots.findings.title') }}</h2>@if ($page->report->findings !== [])<span
        class="quiet">{{ count($page->report->findings) }}</span>@endif</header>
    @forelse ($page->report->findings as $finding)
        <article class="finding" data-severity="{{ $finding->severity->value }}" id="finding-{{ $finding->id->value }}" @if ($finding->firstPhoto)
            data-points-at="{{ $finding->firstPhoto }}" @endif>
            <p class="severity"><x-icon
                :name="match ($finding->severity) { Severity::Error => 'octagon-x', Severity::Warning => 'triangle-alert', Severity::Info => 'info' }"
                />{{ $finding->severity->label() }} <span class="check-id">{{ $finding->id->value }}</span></p>
            {{-- Of many, the worst are open: a list of headlines is read before its stories. --}}
            <details class="story" id="story-{{ $finding->id->value }}" @if ($loop->index < 3) open @endif>
            <summary><h3>{{ $finding->title }}</h3></summary>
            @php $sum = $page->sumBehind($finding); @endphp
            <p class="shortfall"><b>@if ($sum !== null)<x-sum :page="$page" :of="$sum">{{ $settings->clock($finding->shortfall) }}</x-sum>@else{{
                $settings->clock($finding->shortfall) }}@endif</b>@if ($finding->firstPhoto)
                <span>{{ __('shots.findings.from') }} <a href="#scrub"
                    data-photo="{{ $finding->firstPhoto }}">{{ __('shots.findings.photo', ['firstPhoto' => $finding->firstPhoto]) }}</a>{{
                        __('shots.findings.count', ['count' => $finding->photoCount]) }}</span>@endif</p>
            <p>{{ $settings->clock($finding->sentence) }}</p>
            @foreach ($finding->alike as $also)
                <p class="alike"><b>{{ $also->title }}</b>, {{ $settings->clock(Words::say($also->shortfall) . '. ' . Words::say($also->sentence)) }} <span
                    class="check-id">{{ $also->id->value }}</span></p>
            @endforeach
            @include('shots.parts.assumed')
            @php $remedies = $page->remediesOf($finding); @endphp
            @if ($remedies === [] && !$page->isPreview)<p class="unmended">{{ $page->unmended($finding) }}</p>@endif
            @foreach ($remedies as ['remedy' => $remedy, 'costs' => $costs, 'givesWay' => $givesWay])
                <div class="remedy">
                    <x-act :action="$page->shot->at('shots.remedies.store')" :fields="['finding' => $finding->id->value, 'remedy' => $remedy->key]"
                        :live="$page->revision->id" :class="$loop->first ? 'is-strong' : ''">{{ $settings->clock($remedy->label) }}</x-act>
                    <small>{{ $settings->clock(Words::capital($costs)) }}.@foreach ($givesWay as $sentence) <b
                        class="gives-way">{{ $settings->clock($sentence) }}</b>@endforeach</small>
                </div>
            @endforeach
            </details>
        </article>
    @empty
        <p class="nothing">{{ __('shots.findings.none') }}</p>
    @endforelse
    @if ($page->report->verdict->notChecked !== [])<p class="not-told">{{ __('shots.findings.not_checked') }}
        @foreach ($page->report->verdict->notChecked as $one)@php $at = ShotView::whichTells($one); @endphp
        <a href="{{ $one === NotChecked::Site ? route('shoots.show', $page->shot->shoot_id) . '#place'
            : route('shots.view', [...$page->shot->address(), $at->value]) }}" @if ($one !== NotChecked::Site)
            data-to-view="{{ $at->value }}" @endif>{{ $one->label() }}</a>{{ $loop->last ? '.' : ($loop->remaining === 1 ? (' ' . __('common.and')) : ',') }}
        @endforeach</p>@endif
</x-part>
