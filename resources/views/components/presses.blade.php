{{-- The form of many buttons that make the same edit, each at another place. --}}
@props(['page', 'id', 'edit', 'with' => []])
<form id="{{ $id }}" method="post" action="{{ $page->shot->at('shots.edits.store') }}" data-live hidden>@csrf
    <input type="hidden" name="edit" value="{{ $edit }}"><input class="live-revision" type="hidden" name="revision" value="{{ $page->revision->id }}">
    @foreach ($with as $name => $value)<input type="hidden" name="with[{{ $name }}]" value="{{ $value }}">@endforeach
</form>
