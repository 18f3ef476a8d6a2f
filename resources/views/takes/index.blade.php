<x-layout is-of-takes :title="__('takes.index.title', ['title' => $title])"
    :crumbs="[$shot->shoot->name => route('shoots.show', $shot->shoot_id), $title => $shot->at('shots.show'), __('takes.index.crumb') => null]">
    <div class="page">
        <h1 class="sr-only">{{ __('takes.index.title', ['title' => $title]) }}</h1>
        <section class="panel" aria-labelledby="takes-beside"><header class="panel-head"><h2 id="takes-beside">{{ __('takes.index.compare') }}</h2></header>
            @if ($beside->columns === [])<p class="nothing">{{ __('takes.index.none') }}</p>
            @else<div class="scrolls" tabindex="0" role="group" aria-label="{{ __('takes.index.compare') }}"><table class="table takes-beside">
                <thead><tr><td></td>@foreach ($beside->columns as $one)<th scope="col"><a href="{{ $one['take']->at('takes.show') }}">{{
                    $settings->moment($one['take']->created_at) }}</a></th>@endforeach</tr></thead>
                <tbody><tr><th scope="row">{{ __('takes.index.photos')
                    }}</th>@foreach ($beside->columns as $one)<td>@include('takes.parts.strip', $one)</td>@endforeach</tr>
                @foreach ($beside->rows() as $label => $cells)<tr><th scope="row">{{ __($label) }}</th>
                @foreach ($cells as $cell)<td>{{ $cell }}</td>@endforeach</tr>@endforeach</tbody></table></div>@endif
            @if ($all->count() > 1)<form class="take-choice" method="get" action="{{ $shot->at('takes.index') }}"><h3>{{ __('takes.index.which') }}</h3>
                @foreach ($all as $one)<label><input type="checkbox" name="take[]" value="{{ $one->id }}" @checked($beside->has($one))>
                {{ $settings->moment($one->created_at) }}, {{ $one->inWords() }}</label>@endforeach
                <button class="button">{{ __('takes.index.show', ['most' => $most]) }}</button></form>@endif
        </section>
    </div>
</x-layout>
