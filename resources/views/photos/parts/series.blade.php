{{-- What else is on the card: each series, the take that it is probably of, and one press that reads them all. --}}
@php $series = new App\Pages\SeriesOnCard($page); $unread = $series->unread(); @endphp
@if ($series->all !== [])<section class="panel card-series" aria-labelledby="series-title"><header class="panel-head"><h2 id="series-title">Series on
    this card</h2></header>
    <ol class="plain-list">@foreach ($series->all as $one)<li>{{ $one['says'] }}@if ($one['take']), probably <a
        href="{{ $one['take']->shot->at('photos.index') }}">{{ $one['take']->revision->toPlan()->title }}</a>, take of {{
        $settings->moment($one['take']->created_at) }}@if ($one['isRead']) <span class="quiet">read</span>@endif @else <span class="quiet">of no take
        that is known</span>@endif</li>@endforeach</ol>
    @if ($unread !== [])<form class="form-acts" method="post" action="{{ $page->reading->at('series') }}">@csrf
        <button class="button is-strong">{{ count($unread) === 1 ? 'Read the other series for its take' : 'Read all ' . count($unread) . ' for their takes'
            }}</button></form>@endif
</section>@endif
