@extends('errors.minimal')
@section('title', 'That cannot be done this way')
@section('message', 'This address takes something else than was asked of it. Go back and use the buttons on the page.')
