<input id="revision" type="hidden" name="revision" value="{{ $page->revision->id }}">
