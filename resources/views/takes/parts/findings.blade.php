{{-- What the log of a take shows, and what is done about it. --}}
<section class="panel take-log" aria-labelledby="take-findings"><header class="panel-head"><h2 id="take-findings">{{ __('takes.findings.title') }}</h2></header>
    @if ($findings === [])<p class="nothing">{{ __('takes.findings.none') }}</p>
    @else<ul class="take-findings">@foreach ($findings as $finding)<li id="found-{{ $finding->id->value }}"><b>{{ $finding->title }}</b> <span
        class="quiet">{{ $finding->id->value }}</span><p>{{ $finding->sentence }}</p><p class="quiet">{{ $finding->advice }}</p></li>@endforeach</ul>@endif
    @php [$again, $stills] = [$report->toShootAgain(), $report->stills()]; @endphp
    @if ($again !== [])<p><b>{{ __('takes.findings.again') }}</b> {{ __('takes.findings.again_says',
        ['named' => Evrent\Core\Run\Take\PhotoSpans::named($again)]) }}</p>@endif
    @if ($stills !== [])<h3>{{ __('takes.findings.stills') }}</h3><ul class="plain-list">@foreach ($stills as $photo => $why)<li><a
        href="{{ $take->at('takes.show') }}?photo={{ $photo }}#photos">{{ $photo }}</a> {{ $why }}@if ($report->photos[$photo]['object'])
        <span class="quiet">{{ basename($report->photos[$photo]['object']) }}</span>@endif</li>@endforeach</ul>@endif
</section>
