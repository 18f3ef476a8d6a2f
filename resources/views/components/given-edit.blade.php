{{-- An edit of the shot's plan that takes along what is typed or chosen with it. --}}
@props(['page', 'edit'])
<form {{ $attributes->class('given-form') }} method="post" action="{{ $page->shot->at('shots.edits.store') }}" data-live>@csrf
    <input type="hidden" name="edit" value="{{ $edit }}"><input class="live-revision" type="hidden" name="revision" value="{{ $page->revision->id }}">
    {{ $slot }}
</form>
