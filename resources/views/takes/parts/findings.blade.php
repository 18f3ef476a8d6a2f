{{-- What the log of a take shows, and what is done about it. --}}
<section class="panel take-log" aria-labelledby="take-findings"><header class="panel-head"><h2 id="take-findings">What the log shows</h2></header>
    @if ($findings === [])<p class="nothing">Nothing went wrong that a log can show.</p>
    @else<ul class="take-findings">@foreach ($findings as $finding)<li id="found-{{ $finding->id->value }}"><b>{{ $finding->title }}</b> <span
        class="quiet">{{ $finding->id->value }}</span><p>{{ $finding->says }}</p><p class="quiet">{{ $finding->mend }}</p></li>@endforeach</ul>@endif
    @php [$again, $stills] = [$report->toShootAgain(), $report->stills()]; @endphp
    @if ($again !== [])<p><b>Shoot again:</b> {{ Evrent\Core\Run\Take\TakeFinding::named($again)
        }}, from the same places, while the light is the same.</p>@endif
    @if ($stills !== [])<h3>Single photos worth keeping</h3><ul class="plain-list">@foreach ($stills as $photo => $why)<li><a
        href="{{ $take->at('takes.show') }}?photo={{ $photo }}#photos">{{ $photo }}</a> {{ $why }}@if ($report->photos[$photo]['object'])
        <span class="quiet">{{ basename($report->photos[$photo]['object']) }}</span>@endif</li>@endforeach</ul>@endif
</section>
