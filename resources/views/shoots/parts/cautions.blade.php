<aside class="panel cautions" aria-labelledby="cautions-title">
    <h2 id="cautions-title">{{ __('shoots.cautions.title') }}</h2>
    <ul>@foreach ($page->cautions() as $hazard)<li>{{ $hazard->caution() }}</li>@endforeach</ul>
</aside>
