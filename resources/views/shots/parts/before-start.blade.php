{{-- What is known to matter on the spot, before anything moves. --}}
<x-part id="before-start" class="panel before-start" aria-labelledby="before-start-title">
    <header class="panel-head"><h2 id="before-start-title">{{ __('shots.before_start.title') }}</h2></header>
    <ul>@foreach ($page->cautions() as $caution)<li>{{ $caution }}</li>@endforeach</ul>
</x-part>
