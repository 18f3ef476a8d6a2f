{{-- What else is on the card: each series, the take that it is probably of, and one press that reads them all. --}}
@php $series = new App\Pages\SeriesOnCard($page); $unread = $series->unread(); @endphp
@if ($series->all !== [])<section class="panel card-series" aria-labelledby="series-title"><header class="panel-head"><h2 id="series-title">{{
    __('photos.series.title') }}</h2></header>
    <ol class="plain-list">@foreach ($series->all as $one)<li><span>{{ $one['says'] }}@if ($one['take']){{ __('photos.series.probably') }} <a
        href="{{ $one['take']->shot->at('photos.index') }}">{{ $one['take']->revision->toPlan()->title }}</a>{{ __('photos.series.of_take',
            ['moment' => $settings->moment($one['take']->created_at)]) }}@endif</span>@if ($one['take'])@if ($one['isRead']) <span class="quiet">{{
                __('photos.series.read') }}</span>@endif @else<span class="quiet">{{ __('photos.series.unknown') }}</span>@endif</li>@endforeach</ol>
    @if ($unread !== [])<form class="form-acts" method="post" action="{{ $page->reading->at('series') }}">@csrf
        <button class="button is-strong">{{ count($unread) === 1 ? __('photos.series.read_one') : __('photos.series.read_all', ['unread' => count($unread)])
            }}</button></form>@endif
</section>@endif
