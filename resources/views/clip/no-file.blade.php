<x-layout :title="$file->label()"
    :crumbs="[$shot->shoot->name => route('shoots.show', $shot->shoot_id), $shot->title() => $shot->at('shots.show'),
        __('clip.no_file.title') => $shot->at('clip.show')]">
    <div class="page"><header class="page-head"><h1>{{ $file->label() }}</h1></header>
        <section class="panel"><p class="said-of">{{ $says }}</p>
            <p class="said-of"><a href="{{ $shot->at('clip.show') }}#files">{{ __('clip.no_file.back') }}</a> · <a href="{{ $shot->at('shots.show') }}">{{
                __('clip.no_file.change') }}</a></p></section></div>
</x-layout>
