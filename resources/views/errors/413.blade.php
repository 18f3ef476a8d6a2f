@extends('errors.minimal')
@section('title', 'That file is too large')
@section('message', 'Plan files are small: up to 1024 kB. Go back and choose another.')
